require('./in-parts.cjs').together('apps/server', 3, 8);
