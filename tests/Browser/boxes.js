// What of a page's text is cut off, or printed over another: boxes of text as the browser lays them out.
export const misplaced = (page) =>
  page.evaluate(() => {
    const SLACK = 2;
    const isShown = (element) =>
      element.checkVisibility({ opacityProperty: true, visibilityProperty: true });
    const isAside = (element) =>
      element.closest(
        ".visually-hidden, dialog, svg, [aria-hidden=true], .dj-next .btn, .dj-errors",
      );
    const texts = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    while (walker.nextNode()) {
      const node = walker.currentNode;
      const element = node.parentElement;
      if (
        node.textContent.trim() === "" ||
        !isShown(element) ||
        isAside(element) ||
        element.clientWidth === 1
      ) {
        continue;
      }
      const range = document.createRange();
      range.selectNodeContents(node);
      for (const box of range.getClientRects()) {
        if (box.width > 1 && box.height > 1) {
          texts.push({ element, box, said: node.textContent.trim().slice(0, 40) });
        }
      }
    }
    // Where something scrolls, what lies outside it is not cut off: it is further on. Nor is a row that has no room at all.
    const within = (a, b) => ({
      top: Math.max(a.top, b.top),
      right: Math.min(a.right, b.right),
      bottom: Math.min(a.bottom, b.bottom),
    });
    // Asked once of each element, however many texts lie in it.
    const styles = new Map();
    const styleOf = (element) => {
      if (!styles.has(element)) {
        const { overflowX, overflowY, flexWrap, textOverflow } = getComputedStyle(element);
        const box = element.getBoundingClientRect();
        styles.set(element, { overflowX, overflowY, flexWrap, textOverflow, box });
      }
      return styles.get(element);
    };
    const windowOf = ({ element, box: own }) => {
      const seen = {
        left: 0,
        top: -Infinity,
        right: document.documentElement.clientWidth,
        bottom: Infinity,
      };
      let isScrolled = false;
      let shown = null;
      for (let at = element; at && at !== document.body; at = at.parentElement) {
        const style = styleOf(at);
        if (style.overflowX === "visible" && style.overflowY === "visible") {
          continue;
        }
        const box = style.box;
        isScrolled ||= /auto|scroll/.test(style.overflowX + style.overflowY);
        const isNextRow = style.flexWrap === "wrap" && own.top >= box.bottom;
        if (shown || style.textOverflow === "ellipsis" || isScrolled || isNextRow) {
          // A line that is cut short by design may lie in a list that is scrolled.
          shown = shown ? within(shown, box) : box;
          continue;
        }
        seen.left = Math.max(seen.left, box.left);
        seen.right = Math.min(seen.right, box.right);
        seen.top = Math.max(seen.top, box.top);
        seen.bottom = Math.min(seen.bottom, box.bottom);
      }
      return shown ? { ...seen, isScrolled: true, box: shown } : seen;
    };
    const found = [];
    const drawn = [];
    for (const text of texts) {
      const seen = windowOf(text);
      if (seen.isScrolled) {
        const { box } = seen;
        const isInView =
          text.box.bottom <= box.bottom &&
          text.box.top >= box.top &&
          text.box.right <= box.right + SLACK;
        if (isInView) {
          drawn.push(text);
        }
        continue;
      }
      const { left, right, top, bottom } = text.box;
      if (
        left < seen.left - SLACK ||
        right > seen.right + SLACK ||
        top < seen.top - SLACK ||
        bottom > seen.bottom + SLACK
      ) {
        found.push(`cut off: ${text.said}`);
      }
      drawn.push(text);
    }
    for (let i = 0; i < drawn.length; i++) {
      for (let j = i + 1; j < drawn.length; j++) {
        const [a, b] = [drawn[i], drawn[j]];
        const width = Math.min(a.box.right, b.box.right) - Math.max(a.box.left, b.box.left);
        const height = Math.min(a.box.bottom, b.box.bottom) - Math.max(a.box.top, b.box.top);
        const isOver = width > SLACK && height > 0.4 * Math.min(a.box.height, b.box.height);
        if (isOver && !a.element.contains(b.element) && !b.element.contains(a.element)) {
          found.push(`over each other: ${a.said} / ${b.said}`);
        }
      }
    }
    if (document.documentElement.scrollWidth > document.documentElement.clientWidth) {
      found.push(`scrolls sideways: ${document.documentElement.scrollWidth}`);
    }
    return [...new Set(found)];
  });
