import { defineConfig } from "@playwright/test";

export default defineConfig({
  testDir: ".",
  outputDir: "../../var/playwright",
  // Waits are bounded by what a busy machine needs; nothing here measures speed.
  timeout: 180_000,
  expect: { timeout: 20_000 },
  // One more than there are cores: what waits for an instrument or a line leaves its core to another.
  workers: 3,
  fullyParallel: true,
  // A second try is printed as flaky, by name.
  retries: 1,
  forbidOnly: true,
  reporter: [["line"], ["junit"]],
  use: {
    actionTimeout: 20_000,
    baseURL: process.env.BASE_URL ?? "http://127.0.0.1:8080",
    // Only who tests the worker has one: it fetches ahead, and the machine has two cores.
    serviceWorkers: "block",
    viewport: { width: 1280, height: 800 },
    contextOptions: { reducedMotion: "reduce" },
    launchOptions: {
      executablePath: "/usr/bin/chromium-headless-shell",
      args: [
        "--no-sandbox",
        "--disable-gpu",
        "--in-process-gpu",
        "--disable-quic",
        "--no-first-run",
        "--disable-background-networking",
        "--disable-component-update",
        "--disable-sync",
        "--disable-dev-shm-usage",
      ],
    },
  },
});
