// A sheet by which an engine is run asks now and then whether it is still the newest: the line may be gone, or another may have
// found that fuel drips.
const EVERY_MS = 15000;
const PATIENCE_MS = 5000;

const seen = () => Number(document.querySelector("#job form input[name=seen]")?.value);

const ask = async (job) => {
  const answer = await fetch(`/jobs/${job}/length`, {
    headers: { Accept: "application/json" },
    cache: "no-store",
    signal: AbortSignal.timeout(PATIENCE_MS),
  });
  // Somebody signed out, or the job is gone: the next entry is told so.
  return answer.ok ? (await answer.json()).length : answer.status >= 500 ? Promise.reject(answer) : 0;
};

// `gone()` where nobody answers, `newer()` where more was logged than the sheet shows. Asked at once when the page is looked at
// again.
export const lookWhere = (isWanted, { gone, newer }) => {
  const look = async () => {
    if (document.hidden || !isWanted()) {
      return;
    }
    try {
      const length = await ask(document.getElementById("job").dataset.job);
      if (length > seen()) {
        newer();
      }
    } catch {
      gone();
    }
  };
  setInterval(look, EVERY_MS);
  document.addEventListener("visibilitychange", look);
};
