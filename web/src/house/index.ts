export { HousePage } from "./HousePage";
export { PersonForm } from "./PersonForm";
