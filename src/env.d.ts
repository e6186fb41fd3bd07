/// <reference types="astro/client" />

declare namespace App {
  interface Locals {
    /** Of a page that failed: what is told, with its id in the log. */
    failure?: import('./messages/problem').Problem
  }
}
