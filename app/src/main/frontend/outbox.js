// What was set on this device and has not arrived yet. It belongs to the person who set it, lies in the device's own database
// until the server has taken it or the person has seen why it was not taken, and is sent from whatever page is open.
import { openDB } from "./idb.js";

const RETRY_MS = 3000;
// On a bad signal an answer may never come; sending the same again changes nothing there, waiting for ever holds up all others.
const ANSWER_MS = 15000;
const STORE = "outbox";

const person = () => document.querySelector("meta[name=person]")?.content ?? "";
const csrf = () => document.querySelector("meta[name=csrf]");

const database = openDB("lumko", 1, {
  upgrade(db) {
    db.createObjectStore(STORE, { keyPath: "number", autoIncrement: true });
  },
});

async function all() {
  return (await database).getAll(STORE);
}
async function own() {
  const mine = person();
  return (await all()).filter((item) => item.person === mine);
}

// Keeps a change and sends it as soon as it goes. `where` and `what` name it for the person if it is refused.
async function send(url, values, { wall = "", where = "", what = "" } = {}) {
  await (await database).add(STORE, { person: person(), url, values, wall, where, what, refused: "" });
  await show();
  flush();
}

let again = 0;
function later() {
  clearTimeout(again);
  again = setTimeout(flush, RETRY_MS);
}

// One page at a time sends, in the order in which things were set.
function flush() {
  if (!person()) return;
  if (navigator.locks) navigator.locks.request("lumko-outbox", { ifAvailable: true }, (lock) => (lock ? sendAll() : later()));
  else sendAll();
}

let signedOut = false;
let running = false;
async function sendAll() {
  if (running) return;
  running = true;
  try {
    for (;;) {
      const item = (await own()).find((each) => !each.refused);
      if (!item) break;
      if (!(await deliver(item))) break;
    }
  } catch {
    later(); // no signal
  } finally {
    running = false;
    await show();
  }
}

// Whether the next one can follow: this one has left, or its refusal is kept to be seen.
async function deliver(item) {
  let { response, body } = await post(item);
  signedOut = isSignedOut(response);
  if (response.status === 403 && !signedOut) {
    // a page that stood open for long has an old token; or somebody else has signed in here meanwhile
    signedOut = !(await renewToken());
    if (!signedOut) ({ response, body } = await post(item));
  }
  if (signedOut) return false;
  if (response.status >= 500 || response.status === 408 || response.status === 429) {
    later();
    return false;
  }
  if (response.ok) await (await database).delete(STORE, item.number);
  else await (await database).put(STORE, { ...item, refused: sentences(body) || String(response.status) });
  const isLast = !(await own()).some((each) => !each.refused && each.wall === item.wall);
  const arrival = { item, body, status: response.status, isLast };
  const isAskedThere = tell(arrival);
  if (isAskedThere && !response.ok) await (await database).delete(STORE, item.number);
  pages.postMessage(arrival);
  return true;
}

// Whichever page sends, the page it was set on has to hear of it: the wall may stand open in another tab.
const pages = new BroadcastChannel("lumko-outbox");
pages.addEventListener("message", (event) => {
  if (event.data.item.person !== person()) return;
  tell(event.data);
  show();
});
// Whether the page has taken what was refused upon itself: it asks there, where it was sent from.
function tell(arrival) {
  return !document.dispatchEvent(new CustomEvent("lumko:arrived", { detail: arrival, cancelable: true }));
}

// An answer with its body, or none in time.
async function ask(url, request) {
  const patience = new AbortController();
  const end = setTimeout(() => patience.abort(), ANSWER_MS);
  try {
    const response = await fetch(url, { ...request, signal: patience.signal });
    return { response, body: await response.text() };
  } finally {
    clearTimeout(end);
  }
}

function post(item) {
  return ask(item.url, {
    method: "POST",
    headers: { "HX-Request": "true", "X-CSRF-TOKEN": csrf()?.content ?? "" },
    body: new URLSearchParams(item.values),
  });
}

function isSignedOut(response) {
  return response.status === 401 || response.redirected || response.headers.has("HX-Refresh");
}

// A new token for the same person; none where they are no longer signed in here.
async function renewToken() {
  const { response, body } = await ask("/token", { headers: { Accept: "application/json", "HX-Request": "true" } });
  if (!response.ok || isSignedOut(response)) return false;
  const { token, person: now } = JSON.parse(body);
  if (now !== person()) return false;
  csrf().content = token;
  return true;
}

// Why something was refused, as the server says it.
function sentences(body) {
  const page = new DOMParser().parseFromString(body, "text/html");
  const said = [...page.querySelectorAll("[role=alert]")].map((each) => each.textContent.trim()).filter(Boolean);
  return (said.length ? said.join(" ") : page.body.textContent.trim().replace(/\s+/g, " ")).slice(0, 300);
}

// What an earlier version kept elsewhere on this device is taken over.
async function takeOver() {
  const before = JSON.parse(localStorage.getItem("lumko.outbox") ?? "[]");
  for (const { url, values, wall } of before) {
    await (await database).add(STORE, { person: person(), url, values, wall, where: "", what: "", refused: "" });
  }
  localStorage.removeItem("lumko.outbox");
}

// ---- what every page shows
async function show() {
  const panel = document.getElementById("outbox");
  if (!panel) return;
  const items = await all();
  const mine = items.filter((item) => item.person === person());
  const waiting = mine.filter((item) => !item.refused);
  const refused = mine.filter((item) => item.refused);
  const others = items.length - mine.length;
  part(panel, "waiting", waiting.length > 0 && !signedOut, waiting.length);
  part(panel, "signed-out", waiting.length > 0 && signedOut, waiting.length);
  part(panel, "others", others > 0, others);
  const list = panel.querySelector("[data-refused]");
  const pattern = panel.querySelector("template");
  list.replaceChildren(
    ...refused.map((item) => {
      const line = pattern.content.cloneNode(true);
      line.querySelector("b").textContent = [item.what, item.where].filter(Boolean).join(", ");
      line.querySelector("span").textContent = item.refused;
      line.querySelector("button").addEventListener("click", () => seen(item.number));
      return line;
    }),
  );
  panel.hidden = waiting.length + refused.length + others === 0;
}

function part(panel, name, isShown, count) {
  const line = panel.querySelector(`[data-${name}]`);
  line.hidden = !isShown;
  line.querySelector("b").textContent = String(count);
}

async function seen(number) {
  await (await database).delete(STORE, number);
  await show();
}

// Marks of a wall that are set here and have not arrived yet, with those taken back again left out.
async function waiting(wall) {
  const marks = new Map();
  for (const { url, values, refused } of (await own()).filter((item) => item.wall === wall)) {
    if (refused) continue;
    if (url.endsWith("/marks")) marks.set(values.id, { kind: values.kind, x: Number(values.leftMm), up: Number(values.upMm) });
    else if (url.endsWith("/swept")) {
      for (const each of values.at.split(";")) {
        const [id, x, up] = each.split(" ");
        marks.set(id, { kind: values.kind, x: Number(x), up: Number(up) });
      }
    } else if (url.endsWith("/undo")) marks.delete(values.mark);
  }
  return [...marks.values()].filter((mark) => Number.isFinite(mark.x) && Number.isFinite(mark.up));
}

// Everything of a sheet or a wall that has not arrived yet.
async function unsent(wall) {
  return (await own()).filter((item) => item.wall === wall && !item.refused);
}

window.lumko.outbox = { send, waiting, unsent };
window.addEventListener("online", flush);
document.addEventListener("visibilitychange", () => document.hidden || flush());
takeOver().then(show).then(flush);
