-- How a scan is looked at: turned, cropped, a negative as a positive. The file stays as it came. Null = as it came.
alter table scan add column shown text;
