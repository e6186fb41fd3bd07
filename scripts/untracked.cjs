// Loaded before the test runner: it would follow every promise to know which test began it, and a database in process makes
// millions of them. Whatever nobody waited for is told at the end of its file then, not at its test; it fails either way.
const hooks = require('node:async_hooks')

const idle = { enable: () => idle, disable: () => idle }
hooks.createHook = () => idle
