import js from "@eslint/js";
import globals from "globals";

export default [
  js.configs.recommended,
  { files: ["resources/js/**/*.js"], languageOptions: { globals: globals.browser } },
  { files: ["public/sw.js"], languageOptions: { globals: globals.serviceworker } },
  {
    files: ["tests/Browser/**/*.js", "bin/shots", "*.config.js"],
    languageOptions: { globals: { ...globals.node, ...globals.browser } },
  },
];
