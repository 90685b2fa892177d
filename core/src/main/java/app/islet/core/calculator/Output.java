package app.islet.core.calculator;

import app.islet.core.quantity.Dimension;

/** One number a calculator answers; never rounded. */
public record Output(String key, String label, Dimension dimension) {}
