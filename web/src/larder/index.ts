export { LarderPage } from "./LarderPage";
