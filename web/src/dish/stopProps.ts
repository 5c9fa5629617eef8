import type { Brief, Plan } from "../api";

export interface StopProps {
  plan: Plan;
  brief: Brief;
  dishId: string;
  /** Of the dish as saved. */
  version: number;
  edit: (change: Partial<Brief>) => void;
}
