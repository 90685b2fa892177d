package app.islet.web.page.design.build;

import app.islet.web.base.support.Field;
import java.util.List;

/**
 * One of several like things in a form: a part, a layer, a point.
 *
 * @param key what the names of its fields begin with
 * @param id what a button that takes it away names
 * @param open whether something in it is wrong
 */
record FormRow(String key, String id, String title, List<Field> fields, boolean open) {
  static FormRow of(String key, String id, String title, List<Field> fields) {
    boolean wrong = fields.stream().anyMatch(f -> f.error() != null);
    return new FormRow(key, id, title, fields, wrong);
  }
}
