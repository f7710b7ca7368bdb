package org.nestrinse.app.wash;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.nestrinse.app.house.House;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionPhase;
import org.springframework.transaction.event.TransactionalEventListener;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells every device that listens that a round has changed, by server-sent events. */
@Component
public class RoundStream {
  private static final Duration LASTS = Duration.ofMinutes(30);
  private static final int BEAT_SECONDS = 15;

  /** A device that listens, and to which household. */
  private record Listener(House house, SseEmitter emitter) {}

  private final List<Listener> listeners = new CopyOnWriteArrayList<>();
  private final ScheduledExecutorService beat =
      Executors.newSingleThreadScheduledExecutor(
          work -> {
            Thread thread = new Thread(work, "round-stream");
            thread.setDaemon(true);
            return thread;
          });

  RoundStream() {
    // A beat finds devices that are gone, and keeps the line open through whatever is between.
    beat.scheduleAtFixedRate(
        () -> listeners.forEach(l -> tell(l, "beat", Map.of())),
        BEAT_SECONDS,
        BEAT_SECONDS,
        TimeUnit.SECONDS);
  }

  SseEmitter listen() {
    SseEmitter emitter = new SseEmitter(LASTS.toMillis());
    Listener listener = new Listener(House.current(), emitter);
    emitter.onCompletion(() -> listeners.remove(listener));
    emitter.onTimeout(emitter::complete);
    emitter.onError(e -> listeners.remove(listener));
    listeners.add(listener);
    tell(listener, "beat", Map.of());
    return emitter;
  }

  @TransactionalEventListener(phase = TransactionPhase.AFTER_COMMIT)
  void changed(RoundChanged change) {
    send("round", change);
  }

  /** Sends an event to every device that listens to this household. */
  public void send(String event, Object data) {
    House house = House.current();
    listeners.stream().filter(l -> l.house == house).forEach(l -> tell(l, event, data));
  }

  private void tell(Listener listener, String event, Object data) {
    try {
      listener.emitter.send(SseEmitter.event().name(event).data(data));
    } catch (IOException | IllegalStateException e) {
      listeners.remove(listener);
    }
  }

  /** Open lines would hold up a clean stop. */
  @EventListener(ContextClosedEvent.class)
  void close() {
    beat.shutdownNow();
    listeners.forEach(l -> l.emitter.complete());
    listeners.clear();
  }
}
