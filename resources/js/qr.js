// Draws the code of an address, where a page has one.
import qrcode from "qrcode-generator";

const QUIET = 4;

const draw = (svg) => {
  const code = qrcode(0, "M");
  code.addData(svg.dataset.qr);
  code.make();
  const size = code.getModuleCount();
  const cells = [];
  for (let row = 0; row < size; row++) {
    for (let column = 0; column < size; column++) {
      if (code.isDark(row, column)) {
        cells.push(`M${column + QUIET} ${row + QUIET}h1v1h-1z`);
      }
    }
  }
  svg.setAttribute("viewBox", `0 0 ${size + 2 * QUIET} ${size + 2 * QUIET}`);
  const path = document.createElementNS("http://www.w3.org/2000/svg", "path");
  path.setAttribute("d", cells.join(""));
  svg.replaceChildren(path);
};

document.querySelectorAll("[data-qr]").forEach(draw);
