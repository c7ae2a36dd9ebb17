// Puts the scripts and fonts that the pages load beside the pages, and the fonts of PDF, which are TTF.
import { cpSync, mkdirSync } from "node:fs";

const out = process.env.OUT;
const packages = "node_modules/";
for (const folder of ["js", "fonts", "css", "../pdf-fonts"]) mkdirSync(`${out}/${folder}`, { recursive: true });
cpSync(`${packages}htmx.org/dist/htmx.min.js`, `${out}/js/htmx.min.js`);
cpSync(`${packages}@alpinejs/csp/dist/cdn.min.js`, `${out}/js/alpine-csp.min.js`);
cpSync(`${packages}idb/build/index.js`, `${out}/js/idb.js`);
for (const script of ["app.js", "outbox.js", "walk.js", "sheet.js", "photo.js", "touch-up.js", "plan.js"]) cpSync(script, `${out}/js/${script}`);
cpSync("walk", `${out}/js/walk`, { recursive: true });
for (const subset of ["latin", "latin-ext"]) {
  cpSync(
    `${packages}@fontsource-variable/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${subset}-wght-normal.woff2`,
    `${out}/fonts/next-${subset}.woff2`,
  );
}
cpSync(
  `${packages}@fontsource-variable/atkinson-hyperlegible-mono/files/atkinson-hyperlegible-mono-latin-wght-normal.woff2`,
  `${out}/fonts/mono-latin.woff2`,
);
for (const weight of ["400Regular", "700Bold"]) {
  cpSync(
    `${packages}@expo-google-fonts/atkinson-hyperlegible-next/${weight}/AtkinsonHyperlegibleNext_${weight}.ttf`,
    `${out}/../pdf-fonts/ahn-${weight.slice(0, 3)}.ttf`,
  );
}
