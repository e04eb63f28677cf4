import react from "@vitejs/plugin-react";
import { defineConfig } from "vite";

export default defineConfig({
  plugins: [react()],
  build: { assetsInlineLimit: 0, chunkSizeWarningLimit: 1200 },
  server: { proxy: { "/api": process.env.VEMBLE_SERVER ?? "http://127.0.0.1:4780" } },
});
