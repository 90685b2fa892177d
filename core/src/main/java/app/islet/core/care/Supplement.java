package app.islet.core.care;

/** Vitamins or minerals given with the food. */
public record Supplement(String name, Recurrence recurrence, Evidence basis) {}
