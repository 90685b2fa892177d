package app.islet.core.feeding;

import java.time.LocalDate;

/** A food that was given, or passed over on purpose. */
public record Given(String food, LocalDate day) {}
