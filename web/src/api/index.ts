export { api, Away, Refusal } from "./client";
export type * from "./types";
