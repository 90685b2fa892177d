package app.islet.web.ops.reminders;

import java.net.URI;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.MediaType;
import org.springframework.http.client.JdkClientHttpRequestFactory;
import org.springframework.mail.SimpleMailMessage;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.stereotype.Component;
import org.springframework.web.client.RestClient;

/** The ways out: a mail server and a webhook, each where whoever runs this server named it. */
@Component
class Messenger {
  private static final Duration PATIENCE = Duration.ofSeconds(10);

  private final Optional<JavaMailSender> mail;
  private final String from;
  private final String webhook;
  private final RestClient http;

  Messenger(
      Optional<JavaMailSender> mail,
      @Value("${islet.mail.from:}") String from,
      @Value("${islet.webhook:}") String webhook) {
    this.mail = mail;
    this.from = from;
    this.webhook = webhook;
    JdkClientHttpRequestFactory requests = new JdkClientHttpRequestFactory();
    requests.setReadTimeout(PATIENCE);
    this.http = RestClient.builder().requestFactory(requests).build();
  }

  boolean hasMail() {
    return mail.isPresent() && !from.isEmpty();
  }

  /** The machine the webhook is on; empty where none is named. */
  String webhookHost() {
    return webhook.isEmpty() ? "" : String.valueOf(URI.create(webhook).getHost());
  }

  /** Each is told by itself: one that fails must not repeat the other. */
  enum Way {
    MAIL,
    WEBHOOK
  }

  /** Whether a message would get anywhere that way. */
  boolean reaches(Way way, Reminder to) {
    return way == Way.MAIL ? !to.mail().isEmpty() && hasMail() : to.webhook() && !webhook.isEmpty();
  }

  /**
   * @throws org.springframework.mail.MailException if the server does not take it
   * @throws org.springframework.web.client.RestClientException if the webhook does not
   */
  void send(Way way, Reminder to, String subject, List<String> lines) {
    if (way == Way.MAIL) {
      SimpleMailMessage message = new SimpleMailMessage();
      message.setFrom(from);
      message.setTo(to.mail());
      message.setSubject(subject.replaceAll("\\p{Cntrl}", " "));
      message.setText(String.join("\n", lines));
      mail.orElseThrow().send(message);
    } else {
      http.post()
          .uri(webhook)
          .contentType(MediaType.APPLICATION_JSON)
          .body(Map.of("subject", subject, "lines", lines))
          .retrieve()
          .toBodilessEntity();
    }
  }
}
