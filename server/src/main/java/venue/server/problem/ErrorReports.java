package venue.server.problem;

import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;

/** The container's own refusals as problems: an address that can't be decoded, headers too long, a method not known. */
public final class ErrorReports extends ErrorReportValve {

    @Override
    protected void report(Request request, Response response, @Nullable Throwable failure) {
        int status = response.getStatus();
        if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
            return;
        }
        try {
            ErrorAnswers.write(response, status);
            response.finishResponse();
        } catch (IOException | IllegalStateException e) {
            // Whoever asked is gone: there is nobody to tell.
            response.setSuspended(true);
        }
    }
}
