require('./in-parts.cjs').together('apps/web', 3, 6);
