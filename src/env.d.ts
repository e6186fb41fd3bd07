declare namespace App {
  interface Locals {
    /** Who asks for the page; set before it is made. */
    visitor?: import('./server/access').Visitor
  }
}
