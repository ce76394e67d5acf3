import { registerOwnShapes } from '@strut-spot/core';
import { database } from '../src/storage/database';
// What it does after each test it does for all that share a context.
import './openSheet';

/** Before each file of tests that shares a context with others: nothing is stored, the core knows no shape but its own, and the page is as it opens. */
export async function asAtFirst(): Promise<void> {
  localStorage.clear();
  sessionStorage.clear();
  document.body.replaceChildren();
  for (const name of document.documentElement.getAttributeNames()) document.documentElement.removeAttribute(name);
  history.replaceState(null, '', '/');
  await Promise.all(database.tables.map((table) => table.clear()));
  registerOwnShapes([]);
}
