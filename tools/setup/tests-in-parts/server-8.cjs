require('./in-parts.cjs').together('apps/server', 8, 8);
