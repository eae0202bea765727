-- Nobody comes in without a password: an install leaves root with an empty one at several addresses, the machine's own name among them.
DELETE FROM mysql.global_priv WHERE User = '' OR (User = 'root' AND Host <> 'localhost');
FLUSH PRIVILEGES;
ALTER USER 'root'@'localhost' IDENTIFIED BY '{{db_root_password}}';
CREATE USER IF NOT EXISTS 'alternum'@'localhost' IDENTIFIED BY '{{db_password}}';
CREATE USER IF NOT EXISTS 'alternum'@'127.0.0.1' IDENTIFIED BY '{{db_password}}';
ALTER USER 'alternum'@'localhost' IDENTIFIED BY '{{db_password}}';
ALTER USER 'alternum'@'127.0.0.1' IDENTIFIED BY '{{db_password}}';
CREATE DATABASE IF NOT EXISTS alternum CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE DATABASE IF NOT EXISTS alternum_test CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
GRANT ALL ON alternum.* TO 'alternum'@'localhost';
GRANT ALL ON alternum.* TO 'alternum'@'127.0.0.1';
GRANT ALL ON alternum_test.* TO 'alternum'@'localhost';
GRANT ALL ON alternum_test.* TO 'alternum'@'127.0.0.1';
