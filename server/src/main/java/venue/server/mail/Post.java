package venue.server.mail;

import jakarta.mail.MessagingException;
import jakarta.mail.internet.MimeMessage;
import java.nio.charset.StandardCharsets;
import java.util.Properties;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.io.ByteArrayResource;
import org.springframework.mail.MailException;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.mail.javamail.MimeMessageHelper;
import org.springframework.stereotype.Component;
import venue.core.basics.fault.Refusal;

/** Sends letters by SMTP (RFC 5321) as plain text with HTML beside it (RFC 2046, 5.1.4), where that is set up. */
@Component
class Post {

    private static final Logger LOG = LoggerFactory.getLogger(Post.class);
    private static final String TIMEOUT_MS = "15000";

    private final MailSettings settings;
    private final ExecutorService later = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "notices");
        thread.setDaemon(true);
        return thread;
    });
    private final JavaMailSenderImpl smtp = new JavaMailSenderImpl();

    Post(MailSettings settings) {
        this.settings = settings;
        smtp.setHost(settings.mailHost());
        smtp.setPort(settings.port());
        smtp.setUsername(settings.mailUser());
        smtp.setPassword(settings.mailPassword());
        smtp.setDefaultEncoding(StandardCharsets.UTF_8.name());
        smtp.setJavaMailProperties(properties(settings));
    }

    static Properties properties(MailSettings settings) {
        Properties known = new Properties();
        known.setProperty("mail.smtp.auth", String.valueOf(settings.mailUser() != null));
        known.setProperty("mail.smtp.connectiontimeout", TIMEOUT_MS);
        known.setProperty("mail.smtp.timeout", TIMEOUT_MS);
        known.setProperty("mail.smtp.writetimeout", TIMEOUT_MS);
        boolean starts = settings.mailTls() == MailSettings.Tls.STARTTLS;
        known.setProperty("mail.smtp.starttls.enable", String.valueOf(starts));
        known.setProperty("mail.smtp.starttls.required", String.valueOf(starts));
        known.setProperty("mail.smtp.ssl.enable", String.valueOf(settings.mailTls() == MailSettings.Tls.TLS));
        known.setProperty("mail.smtp.ssl.checkserveridentity", "true");
        return known;
    }

    public boolean isSetUp() {
        return settings.mailHost() != null && !settings.mailHost().isBlank();
    }

    MailSettings settings() {
        return settings;
    }

    /** Sends a letter that nobody waits for, where mail is set up; one that can't be sent is told in the log. */
    public void tell(String to, Letter letter) {
        tell(to, letter, null);
    }

    /** @param reply to whom an answer to it goes; null for whoever sends it */
    void tell(String to, Letter letter, @Nullable String reply) {
        if (isSetUp()) {
            later.execute(() -> {
                try {
                    send(to, letter, reply);
                } catch (Refusal told) {
                    LOG.debug("Nobody waits for this letter", told);
                }
            });
        }
    }

    /** Sends a letter, or refuses with what the mail server said. */
    public void send(String to, Letter letter) {
        send(to, letter, null);
    }

    void send(String to, Letter letter, @Nullable String reply) {
        try {
            MimeMessage message = smtp.createMimeMessage();
            MimeMessageHelper written = new MimeMessageHelper(message, true, StandardCharsets.UTF_8.name());
            written.setTo(to);
            written.setFrom(settings.sender());
            if (reply != null) {
                written.setReplyTo(reply);
            }
            written.setSubject(letter.subject());
            written.setText(letter.plain(), LetterHtml.of(letter));
            if (letter.calendar() != null) {
                byte[] calendar = letter.calendar().getBytes(StandardCharsets.UTF_8);
                written.addAttachment("event.ics", new ByteArrayResource(calendar), "text/calendar; charset=utf-8");
            }
            smtp.send(message);
        } catch (MailException | MessagingException e) {
            LOG.warn("A letter was not sent: {}", String.valueOf(e.getMessage()).replaceAll("\\s+", " "));
            throw notSent(reason(e));
        }
    }

    static Refusal notSent(String why) {
        return Refusal.busy(
                "letter-not-sent",
                "The letter could not be sent: " + why + ".",
                "Look at the mail settings in venue.properties (see the README), or hand the link over yourself.");
    }

    static String reason(Throwable failure) {
        Throwable last = failure;
        while (last.getCause() != null) {
            last = last.getCause();
        }
        String said = String.valueOf(last.getMessage()).replaceAll("\\s+", " ").strip();
        int most = 200;
        return said.length() <= most ? said : said.substring(0, most) + "…";
    }
}
