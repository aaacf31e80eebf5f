// Letters wait in IndexedDB: it keeps files as well as words, outlives the tab, and is one for all tabs.
const NAME = "dusty-jet";
const LETTERS = "letters";

const promised = (request) =>
  new Promise((resolve, reject) => {
    request.addEventListener("success", () => resolve(request.result));
    request.addEventListener("error", () => reject(request.error));
  });

const opened = () => {
  const request = indexedDB.open(NAME, 1);
  request.addEventListener("upgradeneeded", () =>
    request.result.createObjectStore(LETTERS, { keyPath: "n", autoIncrement: true }),
  );
  return promised(request);
};

let database;

const inStore = async (mode, work) => {
  database ??= opened();
  const transaction = (await database).transaction(LETTERS, mode, { durability: "strict" });
  const result = await promised(work(transaction.objectStore(LETTERS)));
  if (mode === "readwrite" && transaction.error) {
    throw transaction.error;
  }
  return result;
};

// In the order they were written.
export const all = () => inStore("readonly", (store) => store.getAll());
export const put = (letter) => inStore("readwrite", (store) => store.put(letter));
export const drop = (letter) => inStore("readwrite", (store) => store.delete(letter.n));
