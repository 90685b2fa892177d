package app.islet.core.build;

import app.islet.core.quantity.Phrase;

/**
 * One step of the building, in order.
 *
 * @param key names it for good, so that it can be ticked
 * @param waitDays wait after it before the next; 0 where there is none
 * @param pause the same in words; empty where there is none
 */
public record BuildStep(String key, String title, Phrase how, double waitDays, String pause) {}
