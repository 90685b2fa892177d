package app.islet.web.base.support;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.multipart.MultipartHttpServletRequest;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.util.WebUtils;

/**
 * Refuses a file that is too large with a sentence, before anybody reads it. The server itself
 * takes somewhat more, as it can only hang up.
 */
public final class UploadLimits implements HandlerInterceptor {
  private static final long MEGABYTE = 1024 * 1024;

  /** A photo of a good camera; a log of decades. */
  private static final long PHOTO_MB = 12;

  private static final long TEXT_MB = 4;
  private static final long COLLECTION_MB = 500;

  /** Where a whole collection is read in. */
  public static final String COLLECTION = "/collection/read-in";

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    MultipartHttpServletRequest files =
        WebUtils.getNativeRequest(request, MultipartHttpServletRequest.class);
    if (files == null) {
      return true;
    }
    long most = most(request.getRequestURI());
    for (MultipartFile file : files.getFileMap().values()) {
      if (file.getSize() > most * MEGABYTE) {
        throw new RefusedException(
            "This file has %d MB; up to %d MB can be read. Choose a smaller one."
                .formatted(Math.round((double) file.getSize() / MEGABYTE), most));
      }
    }
    return true;
  }

  private static long most(String address) {
    if (address.endsWith(COLLECTION)) {
      return COLLECTION_MB;
    }
    return address.endsWith("/photos") ? PHOTO_MB : TEXT_MB;
  }
}
