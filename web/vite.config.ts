import react from "@vitejs/plugin-react";
import { defineConfig } from "vitest/config";

export default defineConfig({
  plugins: [react()],
  build: { assetsInlineLimit: 0, chunkSizeWarningLimit: 1200 },
  // A busy machine is slow, not wrong: no test is one of time.
  test: { css: { include: /tokens/ }, testTimeout: 120_000 },
  server: { proxy: { "/api": process.env.VEMBLE_SERVER ?? "http://127.0.0.1:4780" } },
});
