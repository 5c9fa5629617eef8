export { CrossSection } from "./CrossSection";
export { Textures, textureId } from "./Textures";
