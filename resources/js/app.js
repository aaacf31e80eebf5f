import htmx from "htmx.org";
import "./clocks.js";
import "./cutaway.js";
import "./dial.js";
import "./intake.js";
import "./keys.js";
import "./live.js";
import "./morph.js";
import "./offline.js";
import "./outbox/outbox.js";
import "./run.js";
import "./sight.js";
import "./photos.js";
import "./refusal.js";
import "./sheet.js";
import "./speed.js";
import "./taps.js";

window.htmx = htmx;
