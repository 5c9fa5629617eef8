import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { lazy, Suspense } from "react";
import { BrowserRouter, Link, Navigate, Route, Routes, useLocation } from "react-router";
import { Shelf } from "./shelf/Shelf";
import { Boundary, Page, Toasts } from "./ui";

const Shortcuts = lazy(() => import("./ui/Shortcuts").then((m) => ({ default: m.Shortcuts })));
const NewRecipe = lazy(() => import("./shelf/NewRecipe").then((m) => ({ default: m.NewRecipe })));
const CardPage = lazy(() => import("./dish").then((m) => ({ default: m.CardPage })));
const DishPage = lazy(() => import("./dish").then((m) => ({ default: m.DishPage })));
const HousePage = lazy(() => import("./house").then((m) => ({ default: m.HousePage })));
const LarderPage = lazy(() => import("./larder").then((m) => ({ default: m.LarderPage })));
const MealPage = lazy(() => import("./table").then((m) => ({ default: m.MealPage })));
const Meals = lazy(() => import("./table").then((m) => ({ default: m.Meals })));
const PrintPage = lazy(() => import("./table").then((m) => ({ default: m.PrintPage })));

const queries = new QueryClient({
  defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false, staleTime: 5_000, networkMode: "always" } },
});

export function App() {
  return (
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <Toasts>
          <Suspense>
            <Shortcuts />
          </Suspense>
          <Rooms />
        </Toasts>
      </BrowserRouter>
    </QueryClientProvider>
  );
}

function Rooms() {
  const { pathname } = useLocation();
  return (
    <Boundary what="This page" at={pathname}>
      <Suspense fallback={<Coming />}>
        <Routes>
          <Route path="/" element={<Shelf />} />
          <Route path="/read" element={<NewRecipe />} />
          <Route path="/larder" element={<LarderPage />} />
          <Route path="/larder/:shelf" element={<LarderPage />} />
          <Route path="/house" element={<HousePage />} />
          <Route path="/table" element={<Meals />} />
          <Route path="/table/:id" element={<Navigate to="clock" replace relative="path" />} />
          <Route path="/table/:id/print" element={<PrintPage />} />
          <Route path="/table/:id/:view" element={<MealPage />} />
          <Route path="/dishes/:id" element={<Navigate to="swap" replace relative="path" />} />
          <Route path="/dishes/:id/card" element={<CardPage />} />
          <Route path="/dishes/:id/:stop" element={<DishPage />} />
          <Route path="*" element={<NotHere />} />
        </Routes>
      </Suspense>
    </Boundary>
  );
}

function Coming() {
  return (
    <p role="status" className="p-5">
      Fetching the page…
    </p>
  );
}

function NotHere() {
  return (
    <Page title="Nothing here">
      <p>
        There is no page at this address.{" "}
        <Link to="/" className="font-semibold text-rim underline">
          Back to the shelf
        </Link>
      </p>
    </Page>
  );
}
