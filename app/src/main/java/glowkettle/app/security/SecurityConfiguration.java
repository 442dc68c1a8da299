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
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.authentication.SimpleUrlAuthenticationFailureHandler;
import org.springframework.security.web.authentication.www.BasicAuthenticationFilter;
import org.springframework.security.web.context.NullSecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.savedrequest.CookieRequestCache;

/** Two doors: calculators by HTTP Basic or a token, without a session, pages by sign-in with one. */
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
        return new RememberedPasswords(new BCryptPasswordEncoder());
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
    SecurityFilterChain calculators(HttpSecurity http, ProblemWriter problems, AccessTokens tokens) throws Exception {
        return http.securityMatcher("/api/**")
                .authorizeHttpRequests(requests -> requests.requestMatchers("/api/openapi.json")
                        .permitAll()
                        .anyRequest()
                        .authenticated())
                .addFilterBefore(new TokenDoor(tokens, problems), BasicAuthenticationFilter.class)
                .httpBasic(basic -> basic.authenticationEntryPoint((request, response, failure) -> {
                    response.setHeader("WWW-Authenticate", "Basic realm=\"Glow Kettle\", charset=\"UTF-8\"");
                    problems.write(
                            response,
                            401,
                            "Not signed in",
                            "Send a token, or the name and password of an account by HTTP Basic.");
                }))
                .csrf(csrf -> csrf.disable())
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .build();
    }

    @Bean
    @Order(2)
    SecurityFilterChain pages(HttpSecurity http, KnownDevices devices) throws Exception {
        // Whoever is not signed in leaves nothing behind: no session for a form, for the page wished for, or for a
        // failure.
        CookieCsrfTokenRepository tokens = new CookieCsrfTokenRepository();
        tokens.setCookieName("kettle-form");
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Lax"));
        SimpleUrlAuthenticationFailureHandler refused = new SimpleUrlAuthenticationFailureHandler("/signin?error");
        refused.setAllowSessionCreation(false);
        CookieRequestCache wished = new CookieRequestCache();
        wished.setCookieCustomizer(cookie -> cookie.setAttribute("SameSite", "Lax"));
        SavedRequestAwareAuthenticationSuccessHandler signedIn = new SavedRequestAwareAuthenticationSuccessHandler();
        signedIn.setRequestCache(wished);
        // Under whichever name it was asked for, the browser is sent on within this house.
        signedIn.setRedirectStrategy((request, response, url) -> response.sendRedirect(PagesOfThisHouse.within(url)));
        signedIn.setTargetUrlParameter(SessionOver.TO);
        SessionOver over = new SessionOver();
        return http.csrf(csrf -> csrf.csrfTokenRepository(tokens))
                .exceptionHandling(
                        handling -> handling.authenticationEntryPoint(over).accessDeniedHandler(over))
                .requestCache(cache -> cache.requestCache(wished))
                .authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/signin", "/phone/*", "/favicon.svg", "/favicon.ico", "/error", "/actuator/health/**")
                        .permitAll()
                        .requestMatchers("/people", "/people/**", "/first-day", "/first-day/**")
                        .hasRole("LEAD")
                        .requestMatchers(HttpMethod.POST, "/limits/**", "/shop/**", "/library/**")
                        .hasRole("LEAD")
                        .anyRequest()
                        .authenticated())
                .formLogin(form -> form.loginPage("/signin")
                        .failureHandler(refused)
                        .successHandler((request, response, who) -> {
                            devices.remember(who.getName(), request, response);
                            signedIn.onAuthenticationSuccess(request, response, who);
                        })
                        .permitAll())
                .logout(logout -> logout.logoutUrl("/signout").logoutSuccessUrl("/signin?left"))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(
                                org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter
                                        .ReferrerPolicy.SAME_ORIGIN)))
                .build();
    }
}
