require('./in-parts.cjs').together('apps/server', 5, 8);
