package app.islet.web.base.support;

import java.net.http.HttpResponse;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/** Every form of every page of a collection, found by following its links from the first. */
public final class PageForms {
  private static final List<String> LAST =
      List.of("/erase", "/leave", "/logout", "/end-all", "/account/password");

  private static final int PAGES_OF_A_KIND = 2;

  /** Fields whose numbers may have a unit, and so are text. */
  private static final Pattern NUMBERS =
      Pattern.compile("price-.*|to|amount|one|other|max.*|count|length|mass");

  private final HttpKeeper keeper;
  private final String collection;
  private final String today;
  private final Map<String, Integer> seenOfAKind = new HashMap<>();
  private final Map<String, Filled> forms = new LinkedHashMap<>();

  private PageForms(HttpKeeper keeper, String collection, String today) {
    this.keeper = keeper;
    this.collection = collection;
    this.today = today;
  }

  /**
   * A form as a keeper may send it.
   *
   * @param action address it goes to
   * @param fields what is sent, one value each
   * @param file name of its field for a file; empty if it has none
   */
  public record Filled(String page, String action, Map<String, String> fields, String file) {
    /** Whether something can be sent after it. */
    public boolean isHarmless() {
      return LAST.stream().noneMatch(action::endsWith);
    }

    /** The same route, whatever it is about. */
    public String kind() {
      return kindOf(action);
    }
  }

  private static String kindOf(String address) {
    return address
        .replaceAll("\\?.*", "")
        .replaceAll("/\\d+", "/{n}")
        .replaceAll("/(new|care|calculators|tables|guides)/[a-z-]+", "/$1/{name}");
  }

  /**
   * @param collection address of its first page
   */
  public static List<Filled> of(HttpKeeper keeper, String collection, String today) {
    PageForms forms = new PageForms(keeper, collection, today);
    forms.walk();
    return List.copyOf(forms.forms.values());
  }

  private void walk() {
    Deque<String> open = new ArrayDeque<>(List.of(collection));
    Set<String> known = new HashSet<>(open);
    while (!open.isEmpty()) {
      String address = open.remove();
      HttpResponse<String> answer = keeper.get(address);
      String type = answer.headers().firstValue("Content-Type").orElse("");
      if (answer.statusCode() != 200 || !type.startsWith("text/html")) {
        continue;
      }
      Document page = Jsoup.parse(answer.body());
      page.select("form[method=post]").forEach(form -> take(address, form));
      for (Element link : page.select("a[href], [data-later]")) {
        String to = link.hasAttr("href") ? link.attr("href") : link.attr("data-later");
        to = to.replaceAll("#.*", "");
        if (to.startsWith(collection) && known.add(to) && isFew(to)) {
          open.add(to);
        }
      }
    }
  }

  private boolean isFew(String address) {
    return seenOfAKind.merge(kindOf(address), 1, Integer::sum) <= PAGES_OF_A_KIND;
  }

  private void take(String page, Element form) {
    String action =
        form.attr("action").isEmpty() ? page : form.attr("action").replaceAll("#.*", "");
    Map<String, String> fields = new LinkedHashMap<>();
    form.select("input, select, textarea").forEach(field -> fill(field, fields));
    String file = form.select("input[type=file]").attr("name");
    List<Element> buttons = form.select("button[name]").not("[type=button]");
    if (buttons.isEmpty()) {
      add(new Filled(page, action, fields, file));
    }
    for (Element button : buttons) {
      Map<String, String> pressed = new LinkedHashMap<>(fields);
      pressed.put(button.attr("name"), button.attr("value"));
      String to = button.hasAttr("formaction") ? button.attr("formaction") : action;
      add(new Filled(page, to, pressed, file));
    }
  }

  private void add(Filled form) {
    forms.putIfAbsent(form.kind() + " " + new ArrayList<>(form.fields().keySet()), form);
  }

  private void fill(Element field, Map<String, String> fields) {
    String name = field.attr("name");
    if (name.isEmpty() || field.hasAttr("disabled")) {
      return;
    }
    switch (field.normalName().equals("input") ? field.attr("type") : field.normalName()) {
      case "file" -> {}
      case "checkbox", "radio" -> {
        if (field.hasAttr("checked")
            || !fields.containsKey(name) && field.attr("type").equals("radio")) {
          fields.put(name, field.hasAttr("value") ? field.attr("value") : "on");
        }
      }
      case "select" -> {
        Element chosen = field.selectFirst("option[selected]");
        chosen = chosen == null ? field.selectFirst("option:not([value=''])") : chosen;
        fields.put(name, chosen == null ? "" : chosen.attr("value"));
      }
      case "textarea" -> fields.put(name, field.wholeText().isEmpty() ? "said" : field.wholeText());
      case "hidden" -> fields.put(name, field.attr("value"));
      case "date" -> fields.put(name, field.attr("value").isEmpty() ? today : field.attr("value"));
      default ->
          fields.put(name, field.attr("value").isEmpty() ? typed(field) : field.attr("value"));
    }
  }

  private static String typed(Element field) {
    boolean number =
        field.attr("type").equals("number")
            || field.attr("inputmode").equals("decimal")
            || field.attr("inputmode").equals("numeric")
            || NUMBERS.matcher(field.attr("name")).matches();
    return number ? "3" : "said";
  }
}
