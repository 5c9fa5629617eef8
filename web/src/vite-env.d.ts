/// <reference types="vite/client" />
/// <reference types="vite-plugin-pwa/client" />

declare module "*.properties" {
  const patterns: Record<string, import("icu-minify/format").CompiledMessage>;
  export default patterns;
}
