export { CrossSection } from "./CrossSection";
