package app.islet.web.base.support;

import app.islet.core.quantity.Dimension;
import java.util.List;

/**
 * The fields of one form, their words from the catalogue: label {@code field.<group>.<name>}, hint
 * {@code field.<group>.<name>.hint} where there is one.
 */
public final class Fields {
  private static final String CATALOGUE = "field.";

  private final Form form;
  private final String group;
  private final String row;

  private Fields(Form form, String group, String row) {
    this.form = form;
    this.group = group;
    this.row = row;
  }

  public static Fields of(Form form, String group) {
    return new Fields(form, group, "");
  }

  /** The fields of one row of many: their ids begin with the row's key, their words do not. */
  public Fields row(String key) {
    return new Fields(form, group, key);
  }

  public Field text(String name) {
    return field(name, "text", "");
  }

  public Field password(String name) {
    return field(name, "password", "");
  }

  /** One that is of use once, and that a phone may fill in. */
  public Field code(String name) {
    return field(name, "code", "");
  }

  public Field date(String name) {
    return field(name, "date", "");
  }

  public Field check(String name) {
    return field(name, "checkbox", "");
  }

  public Field number(String name) {
    return field(name, "number", "");
  }

  public Field number(String name, String unit) {
    return field(name, "number", unit);
  }

  public Field number(String name, Dimension dimension) {
    return field(name, "number", dimension.unit(form.units()));
  }

  public Field length(String name) {
    return number(name, Dimension.LENGTH);
  }

  public Field select(String name, List<Field.Option> options) {
    return Field.select(form, row + name, words(name), options).withHint(hint(name));
  }

  private Field field(String name, String kind, String unit) {
    return Field.of(form, row + name, words(name), kind, unit, hint(name));
  }

  private String hint(String name) {
    return Messages.find(CATALOGUE + group + "." + name + ".hint").orElse("");
  }

  private String words(String name) {
    return Messages.text(CATALOGUE + group + "." + name);
  }
}
