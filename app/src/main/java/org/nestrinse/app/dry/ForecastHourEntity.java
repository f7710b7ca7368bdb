package org.nestrinse.app.dry;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.ZoneId;
import org.nestrinse.core.dry.WeatherHour;

@Entity
@Table(name = "forecast_hour")
class ForecastHourEntity {
  @Id Instant fromHour;

  @Column(name = "temperature_c")
  double temperatureC;

  double relativeHumidity;
  double windMs;

  @Column(name = "irradiance_wm2")
  double irradianceWm2;

  double rainMm;
  Instant readAt;

  static ForecastHourEntity of(WeatherHour hour, Instant readAt) {
    ForecastHourEntity e = new ForecastHourEntity();
    e.fromHour = hour.from().toInstant();
    e.temperatureC = hour.temperatureC();
    e.relativeHumidity = hour.relativeHumidity();
    e.windMs = hour.windMs();
    e.irradianceWm2 = hour.irradianceWm2();
    e.rainMm = hour.rainMm();
    e.readAt = readAt;
    return e;
  }

  WeatherHour toHour(ZoneId zone) {
    return new WeatherHour(
        fromHour.atZone(zone).toOffsetDateTime(),
        temperatureC,
        relativeHumidity,
        windMs,
        irradianceWm2,
        rainMm);
  }
}
