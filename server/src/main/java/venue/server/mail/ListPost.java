package venue.server.mail;

import jakarta.mail.AuthenticationFailedException;
import jakarta.mail.MessagingException;
import jakarta.mail.SendFailedException;
import jakarta.mail.Session;
import jakarta.mail.Transport;
import jakarta.mail.internet.InternetAddress;
import jakarta.mail.internet.MimeBodyPart;
import jakarta.mail.internet.MimeMessage;
import jakarta.mail.internet.MimeMultipart;
import java.io.UnsupportedEncodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Date;
import org.eclipse.angus.mail.smtp.SMTPAddressFailedException;
import org.eclipse.angus.mail.smtp.SMTPSendFailedException;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import venue.core.basics.item.SubscriberId;
import venue.store.letter.Mailing.Outcome;

/**
 * Sends letters to lists by SMTP, over one connection that is kept. Each can be left by one click in the mail program (RFC 8058), for which
 * it has to be signed: by the relay, or here where a key is set.
 */
@Component
public class ListPost {

    private static final String UTF_8 = StandardCharsets.UTF_8.name();

    private final Post post;
    private final @Nullable Dkim dkim;

    ListPost(Post post) {
        this.post = post;
        MailSettings settings = post.settings();
        dkim = settings.mailDkimKey() == null || settings.mailDkimKey().isBlank()
                ? null
                : Dkim.of(Path.of(settings.mailDkimKey()), settings.mailDkimSelector(), domain(settings.sender()));
    }

    public boolean isSetUp() {
        return post.isSetUp();
    }

    /** Whether letters are signed here; else the relay has to. */
    public boolean signs() {
        return dkim != null;
    }

    /** The address that they come from. */
    public String sender() {
        return post.settings().sender();
    }

    private static String domain(String address) {
        return address.substring(address.indexOf('@') + 1).replaceAll("[>\\s].*", "");
    }

    /**
     * A letter to one of a list.
     *
     * @param id the same however often it is sent, so that programs know it again; without {@code <>}
     * @param list by which programs know the list (RFC 2919); without {@code <>}
     * @param site the name that it comes from
     * @param leave the address by which they leave
     */
    public record ToOne(
            String id, String list, String site, String to, String subject, String html, String plain, String leave) {}

    /** The mail server can't be asked, or takes nothing from here. */
    public static final class NoServer extends Exception {
        private static final long serialVersionUID = 1;

        NoServer(String why) {
            super(why);
        }

        /** In few words. */
        public String why() {
            return String.valueOf(getMessage());
        }
    }

    /** A line to the mail server, for some letters one after the other. */
    public final class Line implements AutoCloseable {

        private final Session session = Session.getInstance(Post.properties(post.settings()));
        private @Nullable Transport open;

        private Line() {}

        /** What comes of it. */
        public Outcome send(SubscriberId subscriber, ToOne letter) throws NoServer {
            Transport line = line();
            try {
                MimeMessage message = message(session, letter);
                line.sendMessage(message, message.getAllRecipients());
                return new Outcome.Taken(subscriber);
            } catch (SMTPSendFailedException said) {
                return said(subscriber, said);
            } catch (SendFailedException said) {
                return refused(subscriber, said);
            } catch (MessagingException cut) {
                close();
                return new Outcome.Unsure(subscriber, Post.reason(cut));
            }
        }

        private Transport line() throws NoServer {
            try {
                if (open == null || !open.isConnected()) {
                    close();
                    MailSettings settings = post.settings();
                    open = session.getTransport("smtp");
                    open.connect(settings.mailHost(), settings.port(), settings.mailUser(), settings.mailPassword());
                }
                return open;
            } catch (AuthenticationFailedException e) {
                throw new NoServer("it doesn’t let us in: " + Post.reason(e));
            } catch (MessagingException e) {
                throw new NoServer(Post.reason(e));
            }
        }

        /** One that is refused before it says who it is for is refused for everybody. */
        private Outcome said(SubscriberId subscriber, SMTPSendFailedException said) throws NoServer {
            String command = String.valueOf(said.getCommand());
            if (command.startsWith("MAIL")) {
                throw new NoServer(Post.reason(said));
            }
            if (said.getNextException() != null) {
                return refused(subscriber, said);
            }
            return outcome(subscriber, said.getReturnCode(), Post.reason(said), false);
        }

        private Outcome refused(SubscriberId subscriber, SendFailedException said) {
            for (Exception e = said; e != null; e = e instanceof MessagingException m ? m.getNextException() : null) {
                if (e instanceof SMTPAddressFailedException address) {
                    boolean gone = !String.valueOf(address.getMessage()).matches("(?s)5\\d\\d[ -]5\\.7\\..*");
                    return outcome(subscriber, address.getReturnCode(), Post.reason(address), gone);
                }
            }
            return new Outcome.Refused(subscriber, Post.reason(said), true);
        }

        /** A line that ends without a word says nothing of what became of the letter. */
        private Outcome outcome(SubscriberId subscriber, int code, String words, boolean address) {
            return switch (code / 100) {
                case 4 -> new Outcome.PutOff(subscriber, words);
                case 5 -> new Outcome.Refused(subscriber, words, address);
                default -> {
                    close();
                    yield new Outcome.Unsure(subscriber, words);
                }
            };
        }

        @Override
        public void close() {
            if (open != null) {
                try {
                    open.close();
                } catch (MessagingException gone) {
                    // It is closed all the same.
                }
                open = null;
            }
        }
    }

    /** Sends one alone, or refuses with what the mail server said. */
    public void test(ToOne letter) {
        try (Line line = open()) {
            Outcome outcome = line.send(new SubscriberId("test"), letter);
            String said = outcome instanceof Outcome.Refused refused
                    ? refused.said()
                    : outcome instanceof Outcome.PutOff off
                            ? off.said()
                            : outcome instanceof Outcome.Unsure unsure ? unsure.said() : "";
            if (!(outcome instanceof Outcome.Taken)) {
                throw Post.notSent(said);
            }
        } catch (NoServer none) {
            throw Post.notSent(none.why());
        }
    }

    /** Nothing is opened before the first letter. */
    public Line open() {
        return new Line();
    }

    private MimeMessage message(Session session, ToOne letter) throws MessagingException {
        MimeMessage message = new MimeMessage(session) {
            @Override
            protected void updateMessageID() throws MessagingException {
                setHeader("Message-ID", "<" + letter.id() + ">");
            }
        };
        message.setFrom(from(letter.site()));
        message.setRecipient(MimeMessage.RecipientType.TO, new InternetAddress(letter.to(), true));
        message.setSubject(letter.subject(), UTF_8);
        message.setSentDate(new Date());
        message.setHeader("List-Id", "<" + letter.list() + ">");
        message.setHeader("List-Unsubscribe", "<" + letter.leave() + ">");
        message.setHeader("List-Unsubscribe-Post", "List-Unsubscribe=One-Click");
        MimeMultipart both = new MimeMultipart("alternative");
        both.addBodyPart(part(letter.plain(), "plain"));
        both.addBodyPart(part(letter.html(), "html"));
        message.setContent(both);
        message.saveChanges();
        if (dkim != null) {
            dkim.sign(message);
        }
        return message;
    }

    private InternetAddress from(String site) throws MessagingException {
        InternetAddress from = new InternetAddress(sender(), true);
        try {
            from.setPersonal(from.getPersonal() == null ? site : from.getPersonal(), UTF_8);
            return from;
        } catch (UnsupportedEncodingException e) {
            throw new IllegalStateException(e);
        }
    }

    private static MimeBodyPart part(String words, String type) throws MessagingException {
        MimeBodyPart part = new MimeBodyPart();
        part.setText(words, UTF_8, type);
        part.setHeader("Content-Transfer-Encoding", "quoted-printable");
        return part;
    }
}
