import laravel from "laravel-vite-plugin";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [
    laravel({ input: ["resources/css/app.scss", "resources/js/app.js", "resources/js/qr.js"], refresh: false }),
  ],
  css: {
    preprocessorOptions: {
      scss: { quietDeps: true, silenceDeprecations: ["import", "global-builtin", "color-functions", "if-function"] },
    },
  },
  build: { assetsInlineLimit: 0, manifest: "manifest.json" },
});
