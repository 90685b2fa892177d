package app.islet.core.build;

import app.islet.core.quantity.Phrase;

/**
 * What a device draws.
 *
 * @param winterKwhPerMonth in the coldest month, {@code summerKwhPerMonth} in the warmest; both
 *     estimates
 * @param basis what the power and the hours rest on
 */
public record PowerLine(
    String device,
    double watts,
    double winterKwhPerMonth,
    double summerKwhPerMonth,
    Phrase basis) {}
