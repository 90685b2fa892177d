package app.islet.web.base.support;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.web.util.HtmlUtils;

/** What a page says, without its markup. */
public record PageText(String html) {
  private static final Pattern TAG = Pattern.compile("<[^>]*>");

  public String words() {
    return HtmlUtils.htmlUnescape(TAG.matcher(html).replaceAll(" ")).replaceAll("\\s+", " ").trim();
  }

  /** The part of the page between two places of its markup; empty where there is no such part. */
  public PageText between(String from, String to) {
    int start = html.indexOf(from);
    int end = start < 0 ? -1 : html.indexOf(to, start);
    return new PageText(end < 0 ? "" : html.substring(start, end));
  }

  /** The first group of each match in the words. */
  public List<String> all(String pattern) {
    return Pattern.compile(pattern).matcher(words()).results().map(m -> m.group(1)).toList();
  }

  /** The first group of the first match in the words. */
  public String first(String pattern) {
    Matcher found = Pattern.compile(pattern).matcher(words());
    if (!found.find()) {
      throw new AssertionError("nothing like \"" + pattern + "\" in: " + words());
    }
    return found.group(1);
  }

  /** Whether a finding of that rule is among them. */
  public boolean tells(String rule) {
    return html.contains("data-rule=\"" + rule + "\"");
  }
}
