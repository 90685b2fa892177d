package app.islet.web.page.design.climate;

import app.islet.core.climate.Climate;
import app.islet.core.climate.TopUp;
import app.islet.core.quantity.Dimension;
import app.islet.core.quantity.Quantity;
import app.islet.core.text.English;
import app.islet.core.water.ToppedUp;
import app.islet.web.base.support.Field;
import app.islet.web.base.support.Form;
import app.islet.web.base.support.Messages;
import app.islet.web.base.support.Units;
import app.islet.web.reading.snapshot.EnclosureSnapshot;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How long a can or a mist reservoir lasts by what evaporates.
 *
 * @param lasts words; empty where nothing was asked
 */
record Reservoir(Field holds, String lasts) {
  private static final double MAX_L = 1000;

  /** Nothing where nothing evaporates. */
  static Optional<Reservoir> of(EnclosureSnapshot state, Form form, Units u) {
    return state
        .assessment()
        .climate()
        .water()
        .filter(water -> water.topUpLPerDay() > 0)
        .map(water -> of(state, water, form, u));
  }

  private static Reservoir of(
      EnclosureSnapshot state, Climate.WaterClimate water, Form form, Units u) {
    OptionalDouble holds = form.optional("holds", Dimension.VOLUME, 0.1, MAX_L);
    Field field =
        Field.of(
            form,
            "holds",
            Messages.text("reservoir.holds"),
            "number",
            Dimension.VOLUME.unit(form.units()),
            "");
    return new Reservoir(
        field, holds.isPresent() ? lasts(state, water, holds.getAsDouble(), u) : "");
  }

  private static String lasts(
      EnclosureSnapshot state, Climate.WaterClimate water, double litres, Units u) {
    Optional<ToppedUp> told =
        ToppedUp.of(
            state.assessment().situation().waterRecord(),
            (water.winterC() + water.summerC()) / 2,
            state.day());
    double aDay = told.map(ToppedUp::litresADay).orElse(water.topUpLPerDay());
    long days = (long) Math.floor(TopUp.daysLeft(litres, aDay, 1));
    return Messages.text(
        "reservoir.lasts",
        English.count(days, "day"),
        English.day(state.day().plusDays(Math.min(days, 3650))),
        u.text(Quantity.litres(aDay)),
        told.map(t -> Messages.text("reservoir.measured", English.day(t.since())))
            .orElseGet(() -> Messages.text("reservoir.estimate")));
  }
}
