require('./in-parts.cjs').together('apps/web', 1, 6);
