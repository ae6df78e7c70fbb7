require('./in-parts.cjs').together('apps/server', 1, 8);
