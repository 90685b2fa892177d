package app.islet.web.page.design.build;

import app.islet.web.people.collection.CollectionContexts;
import jakarta.servlet.http.HttpServletRequest;
import java.security.Principal;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.http.server.ServerHttpRequest;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.http.server.ServletServerHttpRequest;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.socket.WebSocketExtension;
import org.springframework.web.socket.WebSocketHandler;
import org.springframework.web.socket.config.annotation.EnableWebSocket;
import org.springframework.web.socket.config.annotation.WebSocketConfigurer;
import org.springframework.web.socket.config.annotation.WebSocketHandlerRegistry;
import org.springframework.web.socket.server.HandshakeInterceptor;
import org.springframework.web.socket.server.support.DefaultHandshakeHandler;

/** Who may open a {@link PreviewSocket}: members of the collection, from a page of Islet's own. */
@Configuration
@EnableWebSocket
class PreviewSocketConfiguration implements WebSocketConfigurer {
  private final PreviewSocket line;
  private final CollectionContexts contexts;

  PreviewSocketConfiguration(PreviewSocket line, CollectionContexts contexts) {
    this.line = line;
    this.contexts = contexts;
  }

  @Override
  public void registerWebSocketHandlers(WebSocketHandlerRegistry registry) {
    registry
        .addHandler(line, "/c/{collection}/enclosures/{id:\\d{1,18}}/build/line")
        .setHandshakeHandler(new Plain())
        .addInterceptors(new Members());
  }

  /** Compressing an answer takes longer than sending it. */
  private static final class Plain extends DefaultHandshakeHandler {
    @Override
    protected List<WebSocketExtension> filterRequestedExtensions(
        ServerHttpRequest request,
        List<WebSocketExtension> requested,
        List<WebSocketExtension> supported) {
      return List.of();
    }
  }

  private final class Members implements HandshakeInterceptor {
    @Override
    public boolean beforeHandshake(
        ServerHttpRequest request,
        ServerHttpResponse response,
        WebSocketHandler handler,
        Map<String, Object> attributes) {
      HttpServletRequest asked = ((ServletServerHttpRequest) request).getServletRequest();
      Map<?, ?> address =
          (Map<?, ?>) asked.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
      String collection = (String) address.get("collection");
      Principal who = asked.getUserPrincipal();
      if (who == null || contexts.find(who.getName(), collection).isEmpty()) {
        response.setStatusCode(HttpStatus.NOT_FOUND);
        return false;
      }
      CsrfToken csrf = (CsrfToken) asked.getAttribute(CsrfToken.class.getName());
      new PreviewSocket.Caller(
              who.getName(),
              asked.getSession().getId(),
              collection,
              Long.parseLong((String) address.get("id")),
              csrf.getToken())
          .keepIn(attributes);
      return true;
    }

    @Override
    public void afterHandshake(
        ServerHttpRequest request,
        ServerHttpResponse response,
        WebSocketHandler handler,
        @Nullable Exception failure) {}
  }
}
