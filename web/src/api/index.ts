export { Away, api, Refusal } from "./client";
export type * from "./types";
