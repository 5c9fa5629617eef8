export { Button } from "./Button";
export { Card } from "./Card";
export { PickAny, PickOne } from "./Choice";
export { Notice } from "./Notice";
export { NumberField } from "./NumberField";
export { Page } from "./Page";
export { SelectField } from "./SelectField";
export { TextField } from "./TextField";
export * from "./words";
