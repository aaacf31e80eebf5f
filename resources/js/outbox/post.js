// Sends what waits, in the order it was written. Nothing leaves the device's store before the server has said that it has it.
export const TOO_LARGE =
  "It is too large to be sent: a photo is at most 9.5 MB, a hold test 8. What you typed is still here.";

const asJson = { Accept: "application/json" };

// Who is signed in here by now: null for nobody. Throws where there is no line.
export const signedIn = async () => {
  const answer = await fetch("/session", { headers: asJson, cache: "no-store" });
  if (answer.status === 401) {
    return null;
  }
  if (!answer.ok) {
    throw new Error(`The server answers ${answer.status}.`);
  }
  return answer.json();
};

// Why the shop refused it, in its own words; empty where what answered is not the shop.
const saidIn = async (answer) => {
  if (answer.status === 413) {
    return TOO_LARGE;
  }
  const said = await answer.json().catch(() => ({}));
  const errors = Object.values(said.errors ?? {}).flat();
  return errors.length > 0 ? errors.join(" ") : (said.message ?? "");
};

// What became of a letter: "logged", "refused" with its reason, "stay" where only the line or the server is to blame.
export const post = async (letter, token) => {
  const body = new FormData();
  letter.fields.forEach(([name, value]) => body.append(name, value));
  body.set("_token", token);
  const answer = await fetch(letter.url, { method: "POST", body, headers: asJson, redirect: "error" });
  if (answer.ok) {
    const { logged } = await answer.json();
    return logged === letter.id.toLowerCase() ? { became: "logged" } : { became: "stay" };
  }
  const isLater = [401, 408, 409, 419, 425, 429].includes(answer.status) || answer.status >= 500;
  const reason = isLater ? "" : await saidIn(answer);
  return reason === "" ? { became: "stay" } : { became: "refused", reason };
};
