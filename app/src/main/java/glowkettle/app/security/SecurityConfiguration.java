package glowkettle.app.security;

import glowkettle.app.binding.ProblemWriter;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.NullSecurityContextRepository;

/** Two doors: calculators by HTTP Basic without a session, pages by sign-in with one. */
@Configuration
class SecurityConfiguration {
    private static final String CONTENT_POLICY = String.join(
            "; ",
            "default-src 'none'",
            "script-src 'self'",
            "style-src 'self'",
            "img-src 'self' data:",
            "font-src 'self'",
            "connect-src 'self'",
            "form-action 'self'",
            "base-uri 'none'",
            "frame-ancestors 'none'");

    @Bean
    PasswordEncoder passwords() {
        return new BCryptPasswordEncoder();
    }

    /** What must answer when nothing else does: no session is looked for, so no database is asked. */
    @Bean
    @Order(0)
    SecurityFilterChain outside(HttpSecurity http) throws Exception {
        return http.securityMatcher("/evacuate", "/evacuate.js", "/assets/**")
                .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .csrf(csrf -> csrf.disable())
                .requestCache(cache -> cache.disable())
                .securityContext(context -> context.securityContextRepository(new NullSecurityContextRepository()))
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY)))
                .build();
    }

    @Bean
    @Order(1)
    SecurityFilterChain calculators(HttpSecurity http, ProblemWriter problems) throws Exception {
        return http.securityMatcher("/api/**")
                .authorizeHttpRequests(requests -> requests.requestMatchers("/api/openapi.json")
                        .permitAll()
                        .anyRequest()
                        .authenticated())
                .httpBasic(basic -> basic.authenticationEntryPoint((request, response, failure) -> {
                    response.setHeader("WWW-Authenticate", "Basic realm=\"Glow Kettle\", charset=\"UTF-8\"");
                    problems.write(
                            response, 401, "Not signed in", "Send the name and password of an account by HTTP Basic.");
                }))
                .csrf(csrf -> csrf.disable())
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .build();
    }

    @Bean
    @Order(2)
    SecurityFilterChain pages(HttpSecurity http) throws Exception {
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/signin", "/phone/*", "/favicon.svg", "/error", "/actuator/health/**")
                        .permitAll()
                        .requestMatchers("/people", "/people/**")
                        .hasRole("LEAD")
                        .requestMatchers(HttpMethod.POST, "/limits/**", "/shop/**", "/library/**")
                        .hasRole("LEAD")
                        .anyRequest()
                        .authenticated())
                .formLogin(
                        form -> form.loginPage("/signin").defaultSuccessUrl("/").permitAll())
                .logout(logout -> logout.logoutUrl("/signout").logoutSuccessUrl("/signin?left"))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(
                                org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter
                                        .ReferrerPolicy.SAME_ORIGIN)))
                .build();
    }
}
