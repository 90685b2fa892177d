package app.islet.core.animal;

import app.islet.core.care.Stage;
import java.time.LocalDate;

/**
 * The stage of young that are raised, as their batch has it.
 *
 * @param since the day it was seen first, or is expected to have begun
 * @param seen whether somebody entered it; else it is a forecast from the day they hatched
 * @param last whether their batch tells of no stage after it: from then on they just grow
 */
public record RaisedStage(Stage stage, LocalDate since, boolean seen, boolean last) {}
