import tailwindcss from "@tailwindcss/vite";
import react from "@vitejs/plugin-react";
import { VitePWA } from "vite-plugin-pwa";
import { defineConfig } from "vitest/config";
import { messages } from "./messages.ts";

/** Tests that put stand-ins in the place of modules: the others share what they load, in a quarter of the time. */
const APART = [
  "src/api/client.test.ts",
  "src/dish/DishPage.test.tsx",
  "src/dish/card/CardPage.test.tsx",
  "src/kept/lastSeen.test.ts",
  "src/larder/PacketForm.test.tsx",
  "src/shelf/Shelf.test.tsx",
  "src/testing/otherLanguage.test.tsx",
];

export default defineConfig({
  plugins: [
    messages(),
    react(),
    tailwindcss(),
    VitePWA({
      registerType: "autoUpdate",
      // Registered from main.tsx: the content policy forbids scripts within the page.
      injectRegister: false,
      manifest: {
        name: "Nabe",
        short_name: "Nabe",
        description: "Layered bakes you trust, made to fit the people who eat.",
        display: "standalone",
        background_color: "#f1f5f8",
        theme_color: "#1d3f78",
        icons: [{ src: "/icon.svg", sizes: "any", type: "image/svg+xml" }],
      },
      workbox: {
        globPatterns: ["**/*.{js,css,html,svg,woff2}"],
        navigateFallback: "/index.html",
        navigateFallbackDenylist: [/^\/api\//],
        inlineWorkboxRuntime: true,
      },
    }),
  ],
  server: { proxy: { "/api": "http://127.0.0.1:8080" }, fs: { allow: [".."] } },
  build: { target: "es2022" },
  test: {
    setupFiles: ["src/testing/setup.ts"],
    testTimeout: 20_000,
    maxWorkers: 2,
    projects: [
      {
        extends: true,
        test: { name: "together", include: ["src/**/*.test.{ts,tsx}"], exclude: APART, isolate: false },
      },
      { extends: true, test: { name: "apart", include: APART } },
    ],
  },
});
