export { HousePage } from "./HousePage";
