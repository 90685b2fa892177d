package app.islet.web.account;

import java.util.Locale;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;

/**
 * Who may see what before a collection is even asked for: everything but the door needs a sign-in.
 */
@Configuration
class SecurityConfiguration {
  private static final String CONTENT_SECURITY =
      "default-src 'self'; img-src 'self' data:; "
          + "object-src 'none'; base-uri 'none'; frame-ancestors 'none'; form-action 'self'";

  @Bean
  SecurityFilterChain filters(HttpSecurity http) throws Exception {
    return http.authorizeHttpRequests(
            requests ->
                requests
                    .requestMatchers(
                        "/login",
                        "/setup",
                        "/error",
                        "/css/**",
                        "/js/**",
                        "/fonts/**",
                        "/webjars/**",
                        "/favicon.svg",
                        "/icons/**",
                        "/help/*",
                        "/service-worker.js",
                        "/api/calculators/**",
                        "/calendar/*")
                    .permitAll()
                    .anyRequest()
                    .authenticated())
        .formLogin(form -> form.loginPage("/login").defaultSuccessUrl("/", false))
        .logout(logout -> logout.logoutSuccessUrl("/login"))
        .headers(
            headers ->
                headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_SECURITY)))
        .build();
  }

  @Bean
  PasswordEncoder passwordEncoder() {
    return PasswordEncoderFactories.createDelegatingPasswordEncoder();
  }

  @Bean
  UserDetailsService userDetails(PersonRepository people) {
    return login ->
        people
            .findByLogin(login.strip().toLowerCase(Locale.ROOT))
            .map(
                person -> User.withUsername(person.login()).password(person.passwordHash()).build())
            .orElseThrow(() -> new UsernameNotFoundException("no such sign-in"));
  }
}
