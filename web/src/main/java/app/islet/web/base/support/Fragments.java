package app.islet.web.base.support;

import jakarta.servlet.ServletContext;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.context.IExpressionContext;
import org.thymeleaf.context.IWebContext;
import org.thymeleaf.linkbuilder.StandardLinkBuilder;
import org.thymeleaf.spring6.SpringTemplateEngine;

/**
 * Makes pieces of page outside of a request, from the same templates and with the same addresses as
 * in one.
 */
@Component
public class Fragments {
  private final SpringTemplateEngine templates;

  Fragments(SpringTemplateEngine templates, ServletContext servlet) {
    this.templates = templates;
    templates.setLinkBuilder(new AnywhereLinkBuilder(servlet.getContextPath()));
  }

  /**
   * @param fragment of the template, by its name
   */
  public String make(String template, String fragment, Map<String, Object> model) {
    return templates.process(template, Set.of(fragment), new Context(Locale.ENGLISH, model));
  }

  private static final class AnywhereLinkBuilder extends StandardLinkBuilder {
    private final String contextPath;

    private AnywhereLinkBuilder(String contextPath) {
      this.contextPath = contextPath;
    }

    @Override
    protected String computeContextPath(
        IExpressionContext context, String base, Map<String, Object> parameters) {
      return context instanceof IWebContext
          ? super.computeContextPath(context, base, parameters)
          : contextPath;
    }
  }
}
