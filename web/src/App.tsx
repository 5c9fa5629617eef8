import { QueryClient, QueryClientProvider } from "@tanstack/react-query";
import { BrowserRouter, Link, Navigate, Route, Routes } from "react-router";
import { CardPage, DishPage } from "./dish";
import { HousePage } from "./house";
import { LarderPage } from "./larder";
import { NewRecipe, Shelf } from "./shelf";
import { MealPage, Meals, PrintPage } from "./table";
import { Page } from "./ui";

const queries = new QueryClient({
  defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false, staleTime: 5_000 } },
});

export function App() {
  return (
    <QueryClientProvider client={queries}>
      <BrowserRouter>
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
      </BrowserRouter>
    </QueryClientProvider>
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
